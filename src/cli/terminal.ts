/** Where a command reads and writes: the process it runs in, or a test. */
export interface Streams {
  /** Standard input, all of it. */
  readonly read: () => Uint8Array;
  readonly write: (made: string | Uint8Array) => void;
  readonly complain: (sentence: string) => void;
}

export interface Terminal extends Streams {
  /** Says why in one sentence; gives the exit code. */
  readonly refuse: (sentence: string) => 2;
}

export const terminalOf = (streams: Streams): Terminal => ({
  ...streams,
  refuse: (sentence) => {
    streams.complain(`${sentence}\n`);
    return 2;
  },
});
