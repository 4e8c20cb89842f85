import { Scale, Thermometer } from 'lucide-react';
import { Button } from '../../ui/button.tsx';
import { readingWords, useChosenDevices, useReading } from './useDevices.ts';

/** Takes over what the scale or the probe shows, once it has settled; nothing where none is chosen. By hand always works too. */
export function TakeReading({ kind, what, onTake }: { kind: 'scale' | 'probe'; what: string; onTake: (value: number, device: string) => void }) {
  const id = useChosenDevices((chosen) => chosen[kind]);
  const reading = useReading(id);
  if (id === null) return null;
  const Icon = kind === 'scale' ? Scale : Thermometer;
  // An empty scale gives no weight.
  const ready = reading?.stable === true && !reading.fault && (kind === 'probe' || reading.value > 0);
  return (
    <Button
      className="min-h-11 whitespace-nowrap"
      disabled={!ready}
      aria-label={`Take the reading: ${what}`}
      onClick={() => reading && onTake(reading.value, id)}
    >
      <Icon size={18} aria-hidden /> {reading ? readingWords(reading) : 'no reading'}
    </Button>
  );
}
