/** The library ships its worker without types; only its being there matters. */
declare module 'pdfjs-dist/legacy/build/pdf.worker.mjs';
