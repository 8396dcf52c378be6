declare module 'heic-decode' {
  interface Decoded {
    readonly width: number;
    readonly height: number;
    readonly data: Uint8ClampedArray;
  }
  interface Image {
    readonly width: number;
    readonly height: number;
    decode(): Promise<Decoded>;
  }
  interface Images extends Array<Image> {
    dispose(): void;
  }
  function decode(options: { buffer: Uint8Array }): Promise<Decoded>;
  namespace decode {
    function all(options: { buffer: Uint8Array }): Promise<Images>;
  }
  export default decode;
}
