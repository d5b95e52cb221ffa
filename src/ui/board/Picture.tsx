import type { Man } from '@/core/board';
import { drawDiagram, drawManPicture, SCREEN_PAINT, type Diagram } from '@/drawing';

/** A position as a picture, nothing to touch. */
export function DiagramPicture({ diagram, title }: { diagram: Diagram; title: string }) {
  // The markup comes from our own drawing alone; texts in it are escaped there.
  return <div dangerouslySetInnerHTML={{ __html: drawDiagram(diagram, SCREEN_PAINT, title) }} />;
}

/** One man, filling its place. */
export function ManPicture({ man }: { man: Man }) {
  return <span aria-hidden dangerouslySetInnerHTML={{ __html: drawManPicture(man, SCREEN_PAINT) }} />;
}
