'use client';

import Button from '@mui/material/Button';
import { PIN_DIGITS } from '@/core/crew/person';
import { TextBox } from './TextBox';

const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** A PIN by keys large enough for a glove, or by the keyboard. */
export function PinPad({ label, pin, onPin }: { label: string; pin: string; onPin: (pin: string) => void }) {
  const set = (text: string) => onPin(text.replace(/\D/g, '').slice(0, PIN_DIGITS));
  const key = (name: string, words: string, press: () => void) => (
    <Button key={name} aria-label={words} onClick={press} style={{ minHeight: 48, fontSize: 18 }}>
      {name}
    </Button>
  );
  return (
    <div className="stack" style={{ gap: 6 }} role="group" aria-label={label}>
      <label className="stack" style={{ gap: 4 }}>
        <span>{label}</span>
        <TextBox
          wide
          type="password"
          inputMode="numeric"
          autoComplete="off"
          maxLength={PIN_DIGITS}
          value={pin}
          onChange={(event) => set(event.target.value)}
        />
      </label>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 6 }}>
        {keys.map((digit) => key(digit, `Digit ${digit}`, () => set(pin + digit)))}
        {key('Clear', 'Clear the PIN', () => onPin(''))}
        {key('0', 'Digit 0', () => set(`${pin}0`))}
        {key('Back', 'Take the last digit back', () => onPin(pin.slice(0, -1)))}
      </div>
    </div>
  );
}

export const isWholePin = (pin: string): boolean => pin.length === PIN_DIGITS;
