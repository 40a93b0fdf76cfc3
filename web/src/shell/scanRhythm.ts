/** Longest time between two characters of a scanner, in milliseconds. Fingers are slower. */
const FASTEST_FINGERS = 35;
const SHORTEST_CODE = 4;

/**
 * Knows a scanner by its rhythm: at least four characters, each quickly behind the one before, then Enter or Tab. Fed with key
 * strokes and their times; remembers nothing but the burst that is running.
 */
export class ScanRhythm {
  private code = '';
  private last = -Infinity;

  /** Is the next key stroke at this time the first of a new burst? */
  begins(at: number): boolean {
    return at - this.last > FASTEST_FINGERS;
  }

  /** The scanned code when this key stroke ends a scan, else null. */
  feed(key: string, at: number): string | null {
    const inRhythm = !this.begins(at);
    const code = this.code;
    if (key === 'Enter' || key === 'Tab') {
      this.reset();
      return inRhythm && code.length >= SHORTEST_CODE ? code : null;
    }
    if (key.length !== 1) {
      // Shift and its like come between the characters of a scan; anything else ends it.
      if (key !== 'Shift' && key !== 'CapsLock') this.reset();
      return null;
    }
    this.code = inRhythm ? code + key : key;
    this.last = at;
    return null;
  }

  private reset(): void {
    this.code = '';
    this.last = -Infinity;
  }
}
