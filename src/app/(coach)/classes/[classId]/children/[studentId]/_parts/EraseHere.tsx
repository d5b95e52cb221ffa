'use client';
import type { Route } from 'next';
import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import type { ClassId } from '@/contracts/ids';
import { EraseChild } from '@/ui/panels/roster/EraseChild';

/** Back to the class once there is nothing left to look at here. */
export function EraseHere({
  classId,
  ...props
}: Omit<ComponentProps<typeof EraseChild>, 'onDone'> & { readonly classId: ClassId }) {
  const router = useRouter();
  return <EraseChild {...props} onDone={() => router.replace(`/classes/${classId}` as Route)} />;
}
