import type { PDFDocumentLoadingTask } from 'pdfjs-dist';

/** A page as a picture. */
export interface DrawnPage {
  readonly number: number;
  readonly width: number;
  readonly height: number;
  readonly image: string;
}

/** Pixels of the picture against the page's points: sharp on a screen of two pixels to one. */
const SCALE = 1.6;

let worker: Worker | null = null;

/** The pages of a PDF as pictures, one after the other; no plug-in of the browser is needed. Stops where `isWanted` says so. */
export async function* drawPdf(
  data: ArrayBuffer,
  isWanted: () => boolean,
): AsyncGenerator<DrawnPage> {
  const { getDocument, GlobalWorkerOptions } = await import('pdfjs-dist');
  worker ??= new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
  GlobalWorkerOptions.workerPort = worker;
  const loading: PDFDocumentLoadingTask = getDocument({ data });
  try {
    const pdf = await loading.promise;
    for (let number = 1; number <= pdf.numPages && isWanted(); number += 1) {
      const page = await pdf.getPage(number);
      const viewport = page.getViewport({ scale: SCALE });
      const canvas = document.createElement('canvas');
      canvas.width = Math.round(viewport.width);
      canvas.height = Math.round(viewport.height);
      const canvasContext = canvas.getContext('2d');
      if (canvasContext === null) throw new Error('this browser draws no pictures');
      await page.render({ canvasContext, viewport }).promise;
      yield {
        number,
        width: canvas.width,
        height: canvas.height,
        image: canvas.toDataURL('image/png'),
      };
    }
  } finally {
    await loading.destroy();
  }
}
