const HUES = 8;

/** The neutral hue of a group; it says nothing of rank. */
export function groupColour(look: number): string {
  return `var(--z-group-${look % HUES})`;
}
