/** Our mark: a round cushion from above. */
export function Mark({ size = 26 }: { size?: number }) {
  return <img src="/zafu.svg" alt="" width={size} height={size} />;
}
