/** A diagram as a file: drawn here, so that nothing is asked of the server. */
import { drawDiagram, PRINT_PAINT, type Diagram } from '@/drawing';

/** Of a side: sharp on a page and on a poster. */
const PIXELS = 1600;

export type PictureFormat = 'svg' | 'png';

/** Hands the picture to the browser as a download. */
export async function savePicture(diagram: Diagram, name: string, format: PictureFormat): Promise<void> {
  const svg = new Blob([drawDiagram(diagram, PRINT_PAINT, name)], { type: 'image/svg+xml' });
  const file = format === 'svg' ? svg : await toPng(svg);
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = `${name}.${format}`;
  link.click();
  URL.revokeObjectURL(address);
}

async function toPng(svg: Blob): Promise<Blob> {
  const address = URL.createObjectURL(svg);
  try {
    const image = new Image(PIXELS, PIXELS);
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = PIXELS;
    canvas.height = PIXELS;
    canvas.getContext('2d')?.drawImage(image, 0, 0, PIXELS, PIXELS);
    return await new Promise((resolve, reject) => {
      canvas.toBlob((png) => {
        if (png === null) reject(new Error('the browser made no picture'));
        else resolve(png);
      }, 'image/png');
    });
  } finally {
    URL.revokeObjectURL(address);
  }
}
