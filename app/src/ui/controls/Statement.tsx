import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { usePalette, type Tone } from '../theme';
import { OpenRow } from './Buttons';
import { Tag } from './Tag';
import { Label, Strong } from './Words';

interface StatementProps {
  readonly title: string;
  readonly statement: string;
  readonly tag: { readonly text: string; readonly tone: Tone };
  readonly children: ReactNode;
}

/** A statement with its state; opened, it shows what it rests on. */
export const Statement = ({ title, statement, tag, children }: StatementProps) => {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: palette.line }}>
      <OpenRow
        label={`${title}: ${statement}`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 8 }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <Label>{title}</Label>
            <Strong>{statement}</Strong>
          </View>
          <Tag text={tag.text} tone={tag.tone} />
        </View>
      </OpenRow>
      {open ? <View style={{ gap: 12, paddingBottom: 12 }}>{children}</View> : null}
    </View>
  );
};
