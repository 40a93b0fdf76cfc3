import { useLayoutEffect } from 'react';
import { ScanRhythm } from './scanRhythm';
import { scansTakenBy, withScan } from './scanTarget';

type TextElement = HTMLInputElement | HTMLTextAreaElement;

function focusedText(): TextElement | null {
  const element = document.activeElement;
  return element instanceof HTMLInputElement || element instanceof HTMLTextAreaElement ? element : null;
}

/** Puts a text back as if it had been typed, so that the part that owns the field hears of it. */
function restore(element: TextElement, value: string): void {
  const prototype = element instanceof HTMLInputElement ? HTMLInputElement.prototype : HTMLTextAreaElement.prototype;
  Object.getOwnPropertyDescriptor(prototype, 'value')?.set?.call(element, value);
  element.dispatchEvent(new Event('input', { bubbles: true }));
}

/**
 * Listens before the first picture is shown, so that no scan comes too early. Gives every scan to $onScan, wherever the focus is; a text field that the
 * characters fell into gets its text back, unless it is one that waits for a scan: a barcode, a card number, an ISBN.
 */
export function useScanner(onScan: (code: string) => void): void {
  useLayoutEffect(() => {
    const rhythm = new ScanRhythm();
    let fellInto: { element: TextElement; value: string } | null = null;
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.isComposing || event.ctrlKey || event.metaKey || event.altKey) return;
      const at = event.timeStamp;
      if (event.key.length === 1 && rhythm.begins(at)) {
        const element = focusedText();
        fellInto = element === null ? null : { element, value: element.value };
      }
      const code = rhythm.feed(event.key, at);
      if (code === null) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      const field = fellInto;
      fellInto = null;
      const takes = field === null ? null : scansTakenBy(field.element);
      if (field !== null) restore(field.element, takes === null ? field.value : withScan(field.value, code, takes));
      if (takes === null) onScan(code);
      // The part that owns the field hears of its text first.
      if (takes === 'send') setTimeout(() => field?.element.form?.requestSubmit());
    };
    window.addEventListener('keydown', onKeyDown, true);
    return () => window.removeEventListener('keydown', onKeyDown, true);
  }, [onScan]);
}
