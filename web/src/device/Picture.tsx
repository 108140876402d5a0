import { words } from "./words";

/** Small drawings to be known by, from simple shapes; their order is what the server counts by. */
const drawings: string[] = [
  "M6 30h36l-6 9H12zM24 7v20M24 9l13 15H24", // boat
  "M24 6l5 12 13 1-10 9 3 13-11-7-11 7 3-13-10-9 13-1z", // star
  "M10 38C8 20 20 8 40 8c0 20-12 32-30 30zM10 38L30 18", // leaf
  "M30 6a18 18 0 1 0 0 36 15 15 0 0 1 0-36z", // moon
  "M6 24c8-14 22-14 30 0-8 14-22 14-30 0zM36 24l7-8v16zM14 22h1", // fish
  "M24 8c14 0 20 16 16 28H8C4 24 10 8 24 8zM24 8v28M16 11l-4 25M32 11l4 25", // shell
  "M24 5l14 16-14 16-14-16zM24 37v7M24 5v32M10 21h28", // kite
  "M12 34c4-4 2-18 12-20 10 2 8 16 12 20zM20 36a4 4 0 0 0 8 0M24 14V9", // bell
  "M14 18a8 8 0 1 0 .1 0M22 26h20v6M34 26v5", // key
  "M10 14h24v14a10 10 0 0 1-10 10h-4a10 10 0 0 1-10-10zM34 18h5a4 4 0 0 1 0 10h-5", // cup
  "M8 16h32v18H8zM8 16l8 18M24 16l-8 18M24 16l8 18M40 16l-8 18", // drum
  "M8 34h32M13 34c0-30 22-30 22 0M13 27h22", // hat
  "M24 44V28M24 6l14 22H10z", // tree
  "M4 18c6-8 10-8 14 0s8 8 14 0 8-8 12 0M4 32c6-8 10-8 14 0s8 8 14 0 8-8 12 0", // waves
  "M24 14a10 10 0 1 0 .1 0M24 3v6M24 39v6M3 24h6M39 24h6M9 9l4 4M35 35l4 4M39 9l-4 4M13 35l-4 4", // sun
  "M6 38h34M14 38a12 12 0 1 1 22-6 8 8 0 1 1-14-4M36 32l6-10M42 22v-6", // snail
  "M24 42C8 30 6 22 8 16c3-8 13-8 16 1 3-9 13-9 16-1 2 6 0 14-16 26z", // heart
  "M16 40h16M18 40V24M30 40V24M10 24h28c0-22-28-22-28 0z", // mushroom
  "M10 38h28l-3-22H13zM18 16c0-12 12-12 12 0", // bucket
  "M10 20c0-16 28-16 28 0zM24 20v18a5 5 0 0 1-9 0M24 8V4", // umbrella
  "M24 16c-6-8-18-6-16 4 1 6 8 6 16 2 8 4 15 4 16-2 2-10-10-12-16-4zM24 14v24", // butterfly
  "M12 40V20l12-12 12 12v20zM20 40V28h8v12", // house
  "M24 8c10 0 15 10 15 19s-7 14-15 14-15-5-15-14S14 8 24 8z", // egg
  "M8 12h14c3 0 2 2 2 4 0-2-1-4 2-4h14v24H26c-3 0-2 2-2 2s1-2-2-2H8zM24 16v22", // book
];

export const pictures = drawings.length;

export function Picture({ which, size = 56 }: { which: number; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 48 48" role="img" aria-label={words.pictures[which]}>
      <path
        d={drawings[which]}
        fill="none"
        stroke="var(--z-aubergine)"
        strokeWidth="2.5"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
