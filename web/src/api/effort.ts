import { sha256 } from "@noble/hashes/sha2.js";
import { utf8ToBytes } from "@noble/hashes/utils.js";

/** Between two looks whether the page has something else to do. */
const AT_ONCE = 2_000;

/**
 * Does a piece of effort that the server wants before it answers: finds the number which, behind the piece and a colon,
 * gives a SHA-256 that begins with as many zero bits as the piece says.
 */
export async function effortDone(sealed: string): Promise<string> {
  const bits = Number(sealed.split(".")[1]);
  for (let number = 0; ; number++) {
    const shown = `${sealed}:${number}`;
    if (zeroBits(sha256(utf8ToBytes(shown))) >= bits) {
      return shown;
    }
    if (number % AT_ONCE === AT_ONCE - 1) {
      await new Promise((goOn) => setTimeout(goOn, 0));
    }
  }
}

function zeroBits(digest: Uint8Array): number {
  const first = digest.findIndex((byte) => byte !== 0);
  return first < 0 ? digest.length * 8 : first * 8 + Math.clz32(digest[first] ?? 0) - 24;
}
