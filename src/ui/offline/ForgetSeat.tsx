'use client';
import { useEffect } from 'react';
import { forgetPages } from './keptPages';

/** On the class's door: whoever sat here does not any more. Answers that were not sent stay in their child's outbox. */
export function ForgetSeat() {
  useEffect(() => void forgetPages(), []);
  return null;
}
