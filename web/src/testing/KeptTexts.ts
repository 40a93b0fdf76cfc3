/** A storage as browsers have one, for tests. */
export class KeptTexts implements Storage {
  private readonly texts = new Map<string, string>();
  [name: string]: unknown;
  get length() {
    return this.texts.size;
  }
  clear = () => this.texts.clear();
  key = (index: number) => [...this.texts.keys()][index] ?? null;
  getItem = (key: string) => this.texts.get(key) ?? null;
  setItem = (key: string, text: string) => {
    this.texts.set(key, text);
    this[key] = text;
  };
  removeItem = (key: string) => {
    this.texts.delete(key);
    Reflect.deleteProperty(this, key);
  };
}
