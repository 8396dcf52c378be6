import type { Font } from 'fontkit';

// pdfkit takes a face that is opened already as well; its types do not say so.
declare global {
  namespace PDFKit.Mixins {
    interface PDFFont {
      registerFont(name: string, face: Font): this;
    }
  }
}
