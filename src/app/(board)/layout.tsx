import type { ReactNode } from 'react';
import { Providers } from '@/ui/theme/Providers';

export default function Layout({ children }: { children: ReactNode }) {
  return <Providers>{children}</Providers>;
}
