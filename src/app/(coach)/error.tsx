'use client';
export { FailedNotice as default } from '../_parts/FailedNotice';
