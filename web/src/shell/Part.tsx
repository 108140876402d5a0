import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Component, Fragment, type ReactNode } from "react";
import { words } from "./words";

interface Props {
  /** What it is, as its reader knows it. */
  name: string;
  children: ReactNode;
}

/** A part of a page that can fail alone: what stands around it goes on, and it can be tried again. */
export class Part extends Component<Props, { failed: boolean; attempt: number }> {
  override state = { failed: false, attempt: 0 };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  private again = () => this.setState(({ attempt }) => ({ failed: false, attempt: attempt + 1 }));

  override render() {
    const { failed, attempt } = this.state;
    return failed ? (
      <Failed name={this.props.name} onAgain={this.again} />
    ) : (
      <Fragment key={attempt}>{this.props.children}</Fragment>
    );
  }
}

/** Says in its place what is not there. */
export function Failed({ name, onAgain }: { name: string; onAgain: () => void }) {
  return (
    <Box role="alert" sx={{ p: 2, display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5 }}>
      {words.partFailed({ name })}
      <Button onClick={onAgain} sx={{ minHeight: 44 }}>
        {words.again}
      </Button>
    </Box>
  );
}
