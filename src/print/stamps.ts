/**
 * Pictures that are drawn once in a file and stamped wherever they are needed: boards and men come hundreds of times on a stack of
 * sheets. A stamp is a form of the PDF standard (ISO 32000-1, 8.10); the package draws on pages only, so while a stamp is made, the page
 * is exchanged for one that writes into the form.
 */
import drawSvg from 'svg-to-pdfkit';

/** The parts of the package's document that its types leave out or give too widely. */
interface Internals {
  page: FormPage;
  _ctm: readonly number[];
  ref(data: object): FormObject;
  addContent(data: string): void;
}
interface FormObject {
  readonly data: Record<string, unknown>;
  write(data: string): void;
  end(): void;
}
interface FormPage {
  readonly width: number;
  readonly height: number;
  write(data: string): void;
  readonly fonts: Record<string, unknown>;
  readonly xobjects: Record<string, unknown>;
  readonly ext_gstates: Record<string, unknown>;
  readonly patterns: Record<string, unknown>;
}

export interface Stamps {
  /** Stamps a picture of `units` x `units` at x, y with this many points a unit. */
  stamp(
    svg: string,
    units: number,
    at: { readonly x: number; readonly y: number; readonly scale: number },
  ): void;
}

export function createStamps(doc: PDFKit.PDFDocument): Stamps {
  const internals = doc as unknown as Internals;
  const forms = new Map<string, { readonly name: string; readonly form: FormObject }>();

  function makeForm(svg: string, units: number): FormObject {
    const form = internals.ref({ Type: 'XObject', Subtype: 'Form', FormType: 1, BBox: [0, 0, units, units] });
    const { page, _ctm: matrix } = internals;
    const resources = { fonts: {}, xobjects: {}, ext_gstates: {}, patterns: {} };
    internals.page = { width: units, height: units, write: (data) => form.write(data), ...resources };
    internals._ctm = [1, 0, 0, 1, 0, 0];
    drawSvg(doc, svg, 0, 0, {
      width: units,
      height: units,
      assumePt: true,
      fontCallback: (_, isBold) => (isBold ? 'bold' : 'regular'),
    });
    internals.page = page;
    internals._ctm = matrix;
    form.data.Resources = {
      Font: resources.fonts,
      XObject: resources.xobjects,
      ExtGState: resources.ext_gstates,
      Pattern: resources.patterns,
    };
    form.end();
    return form;
  }

  return {
    stamp(svg, units, { x, y, scale }) {
      const known = forms.get(svg) ?? { name: `Stamp${forms.size + 1}`, form: makeForm(svg, units) };
      forms.set(svg, known);
      internals.page.xobjects[known.name] = known.form;
      doc.save().translate(x, y).scale(scale);
      internals.addContent(`/${known.name} Do`);
      doc.restore();
    },
  };
}
