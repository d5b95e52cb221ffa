/** The package ships no types; this is the part of it that is used. */
declare module 'svg-to-pdfkit' {
  interface SvgOptions {
    readonly width?: number;
    readonly height?: number;
    /** Points, not CSS pixels. */
    readonly assumePt?: boolean;
    readonly fontCallback?: (family: string, bold: boolean, italic: boolean) => string;
    readonly warningCallback?: (warning: string) => void;
  }
  export default function drawSvg(
    doc: PDFKit.PDFDocument,
    svg: string,
    x: number,
    y: number,
    options?: SvgOptions,
  ): void;
}
