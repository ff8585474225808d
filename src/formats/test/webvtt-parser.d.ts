declare module 'webvtt-parser' {
  interface ReadCue {
    readonly startTime: number;
    readonly endTime: number;
    readonly text: string;
  }
  const parser: {
    readonly WebVTTParser: new () => {
      parse: (text: string) => { readonly cues: ReadCue[]; readonly errors: readonly unknown[] };
    };
  };
  export default parser;
}
