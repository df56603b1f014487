import { PROFILES } from '@obrik/core/catalog';
import { assemble, freshSurfaceId, withEdit, type Build, type Surface } from '@obrik/core/piece';
import { showArea } from '@obrik/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { Label, Option, Options, PlainButton, Small, Subheading } from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import type { Builder } from './useBuilder';

interface SurfacePanelProps {
  readonly builder: Builder;
  readonly surfaceId: string;
  readonly onChoose: (surfaceId: string) => void;
}

const MM2_PER_CM2 = 100;
const MM2_PER_IN2 = 25.4 ** 2;

const HALVES = [
  { title: 'Left and right', cut: 'upright', names: ['left', 'right'] },
  { title: 'Upper and lower', cut: 'level', names: ['upper', 'lower'] },
] as const;

/** What was said of a surface by hand is taken back: it is as it was built. */
const asBuilt = (it: Build, surfaceId: string): Build => ({
  ...it,
  edits: it.edits.filter((one) => one.surfaceId !== surfaceId),
  splits: it.splits.filter((one) => one.of !== surfaceId && one.id !== surfaceId),
  merges: it.merges.filter((one) => one.into !== surfaceId),
});

const split = (it: Build, surface: Surface, half: (typeof HALVES)[number]): Build => {
  const id = freshSurfaceId(
    assemble(it).surfaces.map((one) => one.id),
    surface.id.slice(0, 50),
  );
  const [first, second] = half.names;
  const named = withEdit(it, {
    surfaceId: surface.id,
    name: `${surface.name}, ${second}`.slice(0, 40),
  });
  return {
    ...named,
    splits: [
      ...named.splits,
      {
        of: surface.id,
        id,
        name: `${surface.name}, ${first}`.slice(0, 40),
        share: 0.5,
        cut: half.cut,
      },
    ],
  };
};

/** One surface: how it is shaped, what it is called, how large it is, and with what it is one. */
export const SurfacePanel = ({ builder, surfaceId, onChoose }: SurfacePanelProps) => {
  const { build, change, units } = builder;
  const [area, setArea] = useState('');
  const [name, setName] = useState('');
  const [merging, setMerging] = useState(false);
  const { surfaces } = assemble(build);
  const surface = surfaces.find((it) => it.id === surfaceId);
  if (!surface) return null;
  const each = units === 'metric' ? MM2_PER_CM2 : MM2_PER_IN2;
  const unit = units === 'metric' ? 'cm²' : 'sq in';
  const figure = Number(area.replace(',', '.'));
  const wrong =
    area !== '' && !(figure * each >= 100 && figure * each <= 1e9)
      ? `A figure in ${unit}, from ${units === 'metric' ? 1 : 0.2} on.`
      : undefined;
  const touched =
    build.edits.some((it) => it.surfaceId === surfaceId) ||
    build.splits.some((it) => it.of === surfaceId || it.id === surfaceId) ||
    build.merges.some((it) => it.into === surfaceId);
  const own = build.added.some((it) => it.id === surfaceId);
  return (
    <View style={{ gap: 12 }}>
      <Subheading>
        {surface.name}
        {surface.count > 1 ? ` ×${surface.count}` : ''}
      </Subheading>
      <Small>{showArea(surface.areaMm2, units)}, its shape included.</Small>
      <Label>How is it shaped?</Label>
      <Options
        label="How is it shaped?"
        options={PROFILES.rows.map((it) => ({ value: it.id, title: it.label }))}
        chosen={surface.profile}
        onChoose={(profile) =>
          change((it) =>
            own
              ? {
                  ...it,
                  added: it.added.map((one) => (one.id === surfaceId ? { ...one, profile } : one)),
                }
              : withEdit(it, { surfaceId, profile }),
          )
        }
      />
      <Small>{PROFILES.get(surface.profile).what}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'flex-end' }}>
        <FigureField
          style={{ flexGrow: 1, flexBasis: 140 }}
          label="Another name"
          typed={name}
          text
          onType={setName}
        />
        <PlainButton
          title="Rename"
          disabled={name.trim() === ''}
          onPress={() => {
            change((it) => withEdit(it, { surfaceId, name: name.trim().slice(0, 40) }));
            setName('');
          }}
        />
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'flex-end' }}>
        <FigureField
          style={{ flexGrow: 1, flexBasis: 140 }}
          label={`Area by hand, ${unit}`}
          typed={area}
          onType={setArea}
          {...(wrong ? { wrong } : {})}
        />
        <PlainButton
          title="Use this area"
          disabled={area === '' || wrong !== undefined}
          onPress={() => {
            change((it) => withEdit(it, { surfaceId, areaMm2: (figure * each) / it.count }));
            setArea('');
          }}
        />
      </View>
      <Label>Is part of it of another wood or finish?</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {HALVES.map((it) => (
          <PlainButton
            key={it.cut}
            title={`Split: ${it.title.toLowerCase()}`}
            onPress={() => change((one) => split(one, surface, it))}
          />
        ))}
        <PlainButton title="Merge with another" onPress={() => setMerging(!merging)} />
        {own ? (
          <PlainButton
            title="Remove this surface"
            onPress={() =>
              change((it) => ({ ...it, added: it.added.filter((one) => one.id !== surfaceId) }))
            }
          />
        ) : null}
        {touched ? (
          <PlainButton
            title="As it was built"
            onPress={() => change((it) => asBuilt(it, surfaceId))}
          />
        ) : null}
      </View>
      {merging ? (
        <>
          <Small>One surface of both: looked at, finished and planned together.</Small>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {surfaces
              .filter((it) => it.id !== surfaceId)
              .map((it) => (
                <Option
                  key={it.id}
                  role="button"
                  title={it.name}
                  label={`Merge with ${it.name}`}
                  onPress={() => {
                    change((one) => ({
                      ...one,
                      merges: [...one.merges, { from: surfaceId, into: it.id }],
                    }));
                    setMerging(false);
                    onChoose(it.id);
                  }}
                />
              ))}
          </View>
        </>
      ) : null}
    </View>
  );
};
