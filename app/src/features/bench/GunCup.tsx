import { CUPS, GUN_SECONDS, type Cup } from '@obrik/core/catalog';
import { thinningFor } from '@obrik/core/supply';
import { BENCH_WORDS } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { figureOf } from '@/features/shared/figureOf';
import { Body, Card, Label, Options, Small } from '@/ui/controls';
import { FigureField } from '@/ui/forms';

/** Thinning for the gun by the seconds in a cup: a range, to be timed again. */
export const GunCup = () => {
  const { units } = useShop();
  const [cup, setCup] = useState<Cup>(GUN_SECONDS.cup);
  const [now, setNow] = useState('');
  const [wanted, setWanted] = useState(String((GUN_SECONDS.from + GUN_SECONDS.to) / 2));
  const [thinner, setThinner] = useState<'water' | 'spirits'>('water');
  const { label, fromSeconds, toSeconds } = CUPS.get(cup);
  const words = BENCH_WORDS.mixes;
  const seconds = { now: figureOf(now), wanted: figureOf(wanted) };
  const asked = Number.isFinite(seconds.now) && Number.isFinite(seconds.wanted);
  const thinning = asked ? thinningFor(cup, seconds, thinner) : undefined;
  const says = !asked
    ? 'Fill the cup, let it run, and type the seconds until the stream breaks.'
    : !thinning
      ? words.outside(label, fromSeconds, toSeconds)
      : thinning.to === 0
        ? words.runsAlready
        : words.thin(thinning.from, thinning.to, units);
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>Thin for the gun</Label>
      <Options
        label="Which cup"
        options={CUPS.rows.map((it) => ({ value: it.id, title: it.label }))}
        chosen={cup}
        onChoose={setCup}
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <FigureField label="Runs out in, s" typed={now} onType={setNow} style={{ flex: 1 }} />
        <FigureField label="Wanted, s" typed={wanted} onType={setWanted} style={{ flex: 1 }} />
      </View>
      <Options
        label="Thinned with"
        options={[
          { value: 'water', title: 'Water' },
          { value: 'spirits', title: 'Spirits' },
        ]}
        chosen={thinner}
        onChoose={setThinner}
      />
      <Body>{says}</Body>
      <Small>
        A small gun likes about {GUN_SECONDS.from} to {GUN_SECONDS.to} s in a Ford 4; its leaflet
        knows better.
      </Small>
    </Card>
  );
};
