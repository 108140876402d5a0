import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { onlineManager, QueryErrorResetBoundary } from "@tanstack/react-query";
import { Component, type ReactNode } from "react";
import { useLocation } from "react-router";
import { ApiProblem, Unreached } from "../api/client";
import { words } from "./words";

/** Shows, in place of what cannot be shown, why, and a way to try again; another address is a new beginning. */
export function Mishap({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <QueryErrorResetBoundary>
      {({ reset }) => (
        <Caught pathname={pathname} onAgain={reset}>
          {children}
        </Caught>
      )}
    </QueryErrorResetBoundary>
  );
}

interface Props {
  pathname: string;
  onAgain: () => void;
  children: ReactNode;
}

class Caught extends Component<Props, { error: unknown }> {
  override state: { error: unknown } = { error: null };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override componentDidUpdate(before: Props) {
    if (this.state.error !== null && before.pathname !== this.props.pathname) {
      this.props.onAgain();
      this.setState({ error: null });
    }
  }

  private again = () => {
    const { error } = this.state;
    if (error instanceof ApiProblem || error instanceof Unreached) {
      this.props.onAgain();
      this.setState({ error: null });
    } else {
      // A part of the page that did not come, or is of an older Zafu, comes with a page that is loaded anew.
      window.location.reload();
    }
  };

  override render() {
    const { error } = this.state;
    if (error === null) {
      return this.props.children;
    }
    const known = error instanceof ApiProblem || error instanceof Unreached;
    const unknown = onlineManager.isOnline() ? words.mishap : words.mishapOffline;
    return (
      <Box role="alert" data-mishap sx={{ p: 4, display: "grid", gap: 2, justifyItems: "start" }}>
        {known ? error.message : unknown}
        <Button onClick={this.again}>{words.again}</Button>
      </Box>
    );
  }
}
