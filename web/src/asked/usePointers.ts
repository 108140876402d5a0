import { MouseSensor, TouchSensor, useSensor, useSensors } from "@dnd-kit/core";

/** A mouse drags after a little way, a finger after a moment of rest: a click stays a click, scrolling stays scrolling. */
export function usePointers() {
  return useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
  );
}
