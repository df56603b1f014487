import type { Piece } from '@obrik/core/piece';
import { showDuration } from '@obrik/core/units';
import type { Timed } from '@obrik/core/work';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { BenchButton, Body, Card, Label } from '@/ui/controls';
import { lineNow, useLog } from './useLog';

interface AskTimeProps {
  readonly piece: Piece;
  readonly job: Timed;
}

/** A job that took far longer or shorter than the others is asked about, and never left out in silence. */
export const AskTime = ({ piece, job }: AskTimeProps) => {
  const log = useLog();
  const [typed, setTyped] = useState('');
  const minutes = Number(typed.replace(',', '.') || NaN);
  const say = (told: number | null, said: string) =>
    void log(
      piece,
      [{ ...lineNow([], []), of: 'time' as const, doneIds: [...job.doneIds], minutes: told }],
      said,
    );
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <Label heading>Is this time right?</Label>
      <Body>
        {job.title}, {piece.name}: {showDuration(job.actualMinutes)}, planned{' '}
        {showDuration(job.plannedMinutes)}.
      </Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <BenchButton
          title="It is right"
          style={{ flex: 1 }}
          onPress={() => say(job.actualMinutes, 'It counts as it is.')}
        />
        <BenchButton
          title="Leave it out"
          style={{ flex: 1 }}
          onPress={() => say(null, 'It does not count for the pace.')}
        />
      </View>
      <Input
        label="It took, minutes"
        aria-label={`Minutes that it took: ${job.title}`}
        inputMode="decimal"
        value={typed}
        onChangeText={setTyped}
      />
      <BenchButton
        title="Save these minutes"
        disabled={!(minutes >= 0)}
        onPress={() => say(minutes, `${Math.round(minutes)} min saved.`)}
      />
    </Card>
  );
};
