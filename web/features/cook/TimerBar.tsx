import { BellRing, Plus, X } from 'lucide-react';
import { useEffect } from 'react';
import { Button } from '../../ui/button.tsx';
import { due, left, type Timer, useTimers } from './timers.ts';
import { useClock } from './useClock.ts';

/** Three notes, made here: no file to fetch while the server is away. */
function ring() {
  try {
    const audio = new AudioContext();
    for (const at of [0, 0.35, 0.7]) {
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = 880;
      volume.gain.setValueAtTime(0.25, audio.currentTime + at);
      volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      tone.connect(volume).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.3);
    }
    setTimeout(() => void audio.close(), 2000);
  } catch {
    // Without sound it is still seen and felt.
  }
  navigator.vibrate?.([300, 150, 300]);
}

const RING_AGAIN_MS = 10_000;

/** Every timer of the batch, with what is left of it; one that is over is heard, seen and felt until it is stopped or given more. */
export function TimerBar({ batchId }: { batchId: string }) {
  const now = useClock();
  const all = useTimers(({ timers }) => timers);
  const { hear, more, stop } = useTimers.getState();
  const mine = all.filter((timer) => timer.batchId === batchId);
  const over = due(mine, now);
  const overIds = over.map(({ id }) => id).join(' ');
  const ringing = mine.filter(({ endsAt }) => endsAt <= now);
  useEffect(() => {
    if (overIds === '') return;
    ring();
    for (const id of overIds.split(' ')) hear(id);
  }, [overIds, hear]);
  const goesOn = ringing.length > 0;
  useEffect(() => {
    if (!goesOn) return;
    const again = setInterval(ring, RING_AGAIN_MS);
    return () => clearInterval(again);
  }, [goesOn]);
  if (mine.length === 0) return null;
  return (
    <section aria-label="Timers" className="flex flex-wrap gap-2">
      {mine.map((timer) => (
        <OneTimer key={timer.id} timer={timer} now={now} onMore={() => more(timer.id, 1, Date.now())} onStop={() => stop(timer.id)} />
      ))}
      <p role="status" className="sr-only">
        {ringing.map(({ label }) => `${label}: time is up`).join('. ')}
      </p>
    </section>
  );
}

function OneTimer({ timer: { label, endsAt }, now, onMore, onStop }: { timer: Timer; now: number; onMore: () => void; onStop: () => void }) {
  const isOver = endsAt <= now;
  return (
    <div className={`flex items-center gap-2 rounded-xl border-2 px-3 py-1 ${isOver ? 'border-beet bg-beet-pale text-beet' : 'border-kale bg-card'}`}>
      {isOver && <BellRing size={20} aria-hidden />}
      <span className="max-w-48 truncate">{label}</span>
      <span role="timer" className="text-2xl font-semibold tabular-nums">
        {left(endsAt, now)}
      </span>
      <Button kind="chip" className="min-h-11 min-w-11" aria-label={`One minute more: ${label}`} onClick={onMore}>
        <Plus size={16} aria-hidden />1
      </Button>
      <Button kind="chip" className="min-h-11 min-w-11" aria-label={`Stop: ${label}`} onClick={onStop}>
        <X size={18} aria-hidden />
      </Button>
    </div>
  );
}
