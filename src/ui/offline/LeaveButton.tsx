'use client';
import { Button } from '@mantine/core';
import { v4 as makeUuid } from 'uuid';
import { forgetPages } from './keptPages';
import { tellUnsent } from './unsent';

/** Signs the child out, after the server was told what could not be sent and its pages were forgotten. */
export function LeaveButton({ leave }: { readonly leave: () => Promise<void> }) {
  return (
    <form
      action={async () => {
        await tellUnsent(window.localStorage, makeUuid);
        await forgetPages();
        await leave();
      }}
    >
      <Button type="submit" variant="default" mih={56}>
        I am done
      </Button>
    </form>
  );
}
