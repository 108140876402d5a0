import { groupColour } from "./groupLook";

const shapes = [
  "M8 0 16 8 8 16 0 8Z",
  "M8 1a7 7 0 1 0 0 14A7 7 0 1 0 8 1Z",
  "M8 1 16 15H0Z",
  "M1.5 1.5h13v13h-13Z",
  "M4 1.5h8L16 8l-4 6.5H4L0 8Z",
  "M6 0h4v6h6v4h-6v6H6v-6H0V6h6Z",
  "M0 3h16L8 16Z",
  "M8 0 10 5.5 16 6 11.5 10 13 16 8 12.5 3 16 4.500 10 0 6l6-.5Z",
];

/** A group's shape in its hue; the name always stands beside it. */
export function GroupShape({ look, size = 14 }: { look: number; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" focusable="false">
      <path d={shapes[look % shapes.length]} fill={groupColour(look)} />
    </svg>
  );
}
