/** A picture or a film as small pictures of red, green, blue and opacity, each as Base64. */
export type Frames = { width: number; height: number; frames: string[]; framesASecond: number };

const SIDE = 96;
const FILM_FPS = 10;
const FILM_SECONDS = 15;

/** Decodes what the browser can decode, made small. Throws an error with a sentence for anything else. */
export async function framesOf(file: File): Promise<Frames> {
  return file.type.startsWith('video/') ? filmOf(file) : pictureOf(file);
}

async function pictureOf(file: File): Promise<Frames> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(`${file.name} is no picture or film that can be shown here.`);
  });
  const { width, height, pixels } = small(picture, picture.width, picture.height);
  picture.close();
  return { width, height, frames: [pixels], framesASecond: 1 };
}

async function filmOf(file: File): Promise<Frames> {
  const film = document.createElement('video');
  film.muted = true;
  film.preload = 'auto';
  const address = URL.createObjectURL(file);
  try {
    film.src = address;
    await happens(film, 'loadeddata', file.name);
    const lasts = Number.isFinite(film.duration) ? Math.min(film.duration, FILM_SECONDS) : FILM_SECONDS;
    const frames: string[] = [];
    let size = { width: 1, height: 1 };
    for (let at = 0; at < Math.max(1, Math.floor(lasts * FILM_FPS)); at++) {
      film.currentTime = at / FILM_FPS;
      await happens(film, 'seeked', file.name);
      const { width, height, pixels } = small(film, film.videoWidth, film.videoHeight);
      size = { width, height };
      frames.push(pixels);
    }
    return { ...size, frames, framesASecond: FILM_FPS };
  } finally {
    URL.revokeObjectURL(address);
  }
}

function happens(film: HTMLVideoElement, what: 'loadeddata' | 'seeked', name: string) {
  return new Promise<void>((resolve, reject) => {
    film.addEventListener(what, () => resolve(), { once: true });
    film.addEventListener('error', () => reject(new Error(`${name} is no film that can be shown here.`)), { once: true });
  });
}

function small(picture: CanvasImageSource, wide: number, high: number) {
  const scale = Math.min(1, SIDE / Math.max(wide, high, 1));
  const width = Math.max(1, Math.round(wide * scale));
  const height = Math.max(1, Math.round(high * scale));
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('This browser cannot read pictures.');
  pen.drawImage(picture, 0, 0, width, height);
  let text = '';
  for (const byte of pen.getImageData(0, 0, width, height).data) text += String.fromCharCode(byte);
  return { width, height, pixels: btoa(text) };
}
