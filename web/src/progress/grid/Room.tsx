/** The room of columns that are not drawn. */
export function Room({ width, head = false }: { width: number; head?: boolean }) {
  const style = { minWidth: width, width, padding: 0 };
  if (width === 0) {
    return null;
  }
  return head ? <th style={style} /> : <td style={style} aria-hidden="true" />;
}

/** The room of rows that are not drawn. */
export function RowRoom({ height }: { height: number }) {
  return height === 0 ? null : (
    <tr>
      <td style={{ height, padding: 0, border: 0 }} />
    </tr>
  );
}
