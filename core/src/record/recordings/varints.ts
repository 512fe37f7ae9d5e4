/** Writes whole numbers in as few bytes as they need, small ones in one: seven bits a byte, the sign in the lowest. */
export class VarintWriter {
  private bytes = new Uint8Array(1 << 16);
  private length = 0;

  write(value: number): void {
    if (this.length + 10 > this.bytes.length) {
      const larger = new Uint8Array(this.bytes.length * 2);
      larger.set(this.bytes);
      this.bytes = larger;
    }
    let rest = value < 0 ? -2 * value - 1 : 2 * value;
    while (rest >= 128) {
      this.bytes[this.length] = (rest % 128) + 128;
      this.length += 1;
      rest = Math.floor(rest / 128);
    }
    this.bytes[this.length] = rest;
    this.length += 1;
  }

  end(): Uint8Array {
    return this.bytes.subarray(0, this.length);
  }
}

/** Reads what `VarintWriter` wrote; what is cut off or no number gives null. */
export class VarintReader {
  private at = 0;

  constructor(private readonly bytes: Uint8Array) {}

  read(): number | null {
    let [value, scale] = [0, 1];
    for (;;) {
      const byte = this.bytes[this.at];
      if (byte === undefined || scale > 2 ** 49) return null;
      this.at += 1;
      value += (byte & 127) * scale;
      if (byte < 128) break;
      scale *= 128;
    }
    return value % 2 === 0 ? value / 2 : -(value + 1) / 2;
  }

  get isAtEnd(): boolean {
    return this.at === this.bytes.length;
  }
}
