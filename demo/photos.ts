import sharp from 'sharp'
import { ulid } from 'ulid'
import { hashOf } from '../server/db/hash'
import { keepPhoto } from '../server/db/photoFiles'
import type { PhotoRow } from '../server/db/photos'

/** Pictures of the demo shop. They are drawn, not taken: nobody's machine is in them. */
const DRAWINGS: Record<string, string> = {
  blade: `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="900" viewBox="0 0 1200 900">
    <defs><linearGradient id="bench" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#8b7350"/><stop offset="1" stop-color="#5f4b30"/></linearGradient><linearGradient id="steel" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#8d949a"/><stop offset=".5" stop-color="#5d656b"/><stop offset="1" stop-color="#3c4348"/></linearGradient></defs>
    <rect width="1200" height="900" fill="url(#bench)"/>
    <g stroke="#4a3921" stroke-width="3" opacity=".5"><path d="M0 150q300 20 600 0t600 10M0 330q400-24 800 6t400-8M0 700q260 22 640 2t560 8M0 830q420-16 1200 6"/></g>
    <path d="M120 610h960v34H120z" fill="#d9dcd8"/><path d="M120 610h960" stroke="#fff" stroke-width="4"/><g stroke="#555" stroke-width="2"><path d="M160 610v12M260 610v12M360 610v12M460 610v12M560 610v12M660 610v12M760 610v12M860 610v12M960 610v12M1060 610v12"/></g>
    <path d="M150 548h620q130 0 196-40l74-52 34 30-70 62q-86 62-224 62H150q-26-30 0-62z" fill="url(#steel)" stroke="#262b2e" stroke-width="4"/>
    <path d="M150 600h620q130 0 210-50l66-56" fill="none" stroke="#b9c0c4" stroke-width="7"/><circle cx="560" cy="580" r="34" fill="#2b2f31"/><circle cx="560" cy="580" r="15" fill="#8b7350"/>
    <path d="M1066 610V492" stroke="#b5462f" stroke-width="5" stroke-dasharray="12 9"/><path d="M1052 500l14-22 14 22" fill="#b5462f"/>
    <g fill="#4c6b2d" opacity=".85"><path d="M230 560q30-34 70-24l-20 24zM330 566q20-26 64-20l-24 22zM870 540q34-20 60-6l-26 18z"/></g>
  </svg>`,
}

/** Keeps every drawing as a photo of the shop; nothing is drawn where there are photos already. */
export async function drawPhotos(dataDir: string): Promise<Record<string, PhotoRow>> {
  const kept: Record<string, PhotoRow> = {}
  for (const [name, svg] of Object.entries(DRAWINGS)) {
    const drawn = await sharp(Buffer.from(svg)).png().toBuffer()
    kept[name] = { id: ulid(), jobId: '', ...(await keepPhoto(dataDir, drawn)), sentSha256: hashOf(drawn) }
  }
  return kept
}
