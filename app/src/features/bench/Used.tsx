import { MATERIALS, type Material } from '@obrik/core/catalog';
import type { Piece } from '@obrik/core/piece';
import { usable, type OnHand } from '@obrik/core/supply';
import { takenBy, type Taken } from '@obrik/core/needs';
import { quantityInWords } from '@obrik/core/words';
import type { Task } from '@obrik/core/work';
import type { Change } from '@obrik/core/ledger';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { useChanges, useShop } from '@/api/usePiece';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { useTimes } from '@/features/shared/useTimes';
import { useShelves } from '@/features/shop/useShelves';
import { Alarm, BenchButton, Options } from '@/ui/controls';
import { lineNow } from './useLog';

/** Two figures that count, however little it is: 60 g and 1.3 g are both told. */
const figure = (it: number): string => String(Number(it.toPrecision(2)));

/** Nobody says from which container. */
const UNKNOWN = 'unknown';

interface UsedRow extends Taken {
  readonly typed: string;
  readonly lot: string;
  /** Empty while nobody has chosen: then the one to be used first. */
  readonly containerId: string;
}

interface UsedProps {
  readonly piece: Piece;
  readonly title: string;
  readonly tasks: readonly Task[];
  readonly surfaceIds: readonly string[];
  readonly onDone: () => void;
}

/** From which can it came: those that stand in the shop, the one to be used first chosen already. */
const FromCan = ({
  material,
  chosen,
  cans,
  onChoose,
}: {
  readonly material: Material;
  readonly chosen: string;
  readonly cans: readonly OnHand[];
  readonly onChoose: (containerId: string) => void;
}) => {
  const { units } = useShop();
  const { label, unit } = MATERIALS.get(material);
  return (
    <Options
      label={`From which container: ${label}`}
      options={[
        ...cans.map(({ container, left }) => ({
          value: container.id,
          title: `${container.code || container.place || 'On the shelf'}, ${quantityInWords(left, unit, units)} left`,
        })),
        { value: UNKNOWN, title: 'Another' },
      ]}
      chosen={chosen}
      onChoose={onChoose}
    />
  );
};

/** How much of each material was taken, and from which container: as planned unless somebody says otherwise. */
export const Used = ({ piece, title, tasks, surfaceIds, onDone }: UsedProps) => {
  const times = useTimes();
  const put = useChanges();
  const nameOf = useMaterialName();
  const { onHand } = useShelves();
  const [rows, setRows] = useState<readonly UsedRow[]>(() =>
    takenBy(piece, tasks).map((it) => ({
      ...it,
      typed: figure(it.quantity),
      lot: '',
      containerId: '',
    })),
  );
  const [problem, setProblem] = useState<string>();
  const cansOf = (it: Taken) => usable(onHand, it.material, it.colour);
  const canOf = (it: UsedRow): string => it.containerId || (cansOf(it)[0]?.container.id ?? UNKNOWN);
  const tell = (at: number, told: Partial<UsedRow>) =>
    setRows(rows.map((it, nth) => (nth === at ? { ...it, ...told } : it)));
  const save = async () => {
    const lines = rows.map((it) => {
      const can = onHand.find((one) => one.container.id === canOf(it))?.container;
      return {
        ...lineNow(
          surfaceIds,
          tasks.map((task) => task.key),
        ),
        of: 'used' as const,
        material: it.material,
        colour: it.colour,
        quantity: Number(it.typed.replace(',', '.') || NaN),
        lot: (it.lot.trim() || can?.code || '').slice(0, 60),
        containerId: can?.id ?? null,
      };
    });
    const wrong = lines.find((it) => !Number.isFinite(it.quantity) || it.quantity < 0);
    if (wrong)
      return setProblem(`${MATERIALS.get(wrong.material).label}: give a figure, 0 or more.`);
    const taken = new Set(lines.flatMap((it) => (it.quantity > 0 ? [it.containerId] : [])));
    const opened = onHand
      .map((it) => it.container)
      .filter((it) => it.openedOn === null && taken.has(it.id));
    // Taken from, so it is open: what is open is used first next time.
    const containers = opened.map((it) => ({ id: it.id, openedOn: times.today() }));
    const ofShop: readonly Change[] =
      containers.length > 0 ? [{ kind: 'stocked', containers }] : [];
    const said = `${title}: material written down.`;
    if (await put(piece.id, [{ kind: 'log', lines }], said, ofShop)) onDone();
  };
  return (
    <>
      {rows.map((it, at) => {
        const { label, unit } = MATERIALS.get(it.material);
        const name = nameOf(it.material, it.colour);
        const cans = cansOf(it);
        return (
          <View key={`${it.material}/${it.colour ?? ''}`} style={{ gap: 4 }}>
            <View style={{ flexDirection: 'row', gap: 8 }}>
              <View style={{ flex: 3 }}>
                <Input
                  label={`${name}, ${unit === 'm2' ? 'm²' : unit}`}
                  aria-label={`How much: ${name}`}
                  inputMode="decimal"
                  value={it.typed}
                  onChangeText={(typed) => tell(at, { typed })}
                />
              </View>
              {canOf(it) === UNKNOWN ? (
                <View style={{ flex: 2 }}>
                  <Input
                    label="Lot"
                    aria-label={`Lot: ${label}`}
                    value={it.lot}
                    onChangeText={(lot) => tell(at, { lot })}
                  />
                </View>
              ) : null}
            </View>
            {cans.length > 0 ? (
              <FromCan
                material={it.material}
                chosen={canOf(it)}
                cans={cans}
                onChoose={(containerId) => tell(at, { containerId })}
              />
            ) : null}
          </View>
        );
      })}
      <Alarm text={problem} />
      <BenchButton main title="Save what was used" onPress={() => void save()} />
    </>
  );
};
