import { Text } from '@rneui/themed';
import { useEffect } from 'react';
import { Pressable, View } from 'react-native';
import { useChanges } from '@/api/usePiece';
import { noticeGone, useNotice } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { FONTS, RADIUS, SIZES, TARGET, usePalette } from '@/ui/theme';

/** How long a word stays; long enough to take a glove off, ms. */
const STAYS = 12_000;

/** A word about what just happened; its undo comes first, where it stays however wide the rest is. It goes by itself. */
const Message = ({ narrow }: { readonly narrow: boolean }) => {
  const palette = usePalette();
  const notice = useNotice();
  const dispatch = useAppDispatch();
  const put = useChanges();
  useEffect(() => {
    if (!notice) return undefined;
    const timer = setTimeout(() => dispatch(noticeGone()), STAYS);
    return () => clearTimeout(timer);
  }, [notice, dispatch]);
  if (!notice) return null;
  const bad = notice.tone === 'vermilion';
  const ground = bad ? palette.vermilionSoft : palette.ink;
  const colour = bad ? palette.vermilion : palette.card;
  const { undo } = notice;
  const button = { fontFamily: FONTS.headBold, fontSize: SIZES.title, color: colour } as const;
  return (
    <View
      role={bad ? 'alert' : 'status'}
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: ground,
        paddingLeft: undo ? 0 : narrow ? 8 : 16,
        ...(narrow ? { flex: 1, borderRadius: RADIUS } : {}),
      }}
    >
      {undo ? (
        <Pressable
          role="button"
          aria-label="Undo"
          onPress={() =>
            void put(undo.pieceId, [{ kind: 'revoke', entryIds: [...undo.entryIds] }], 'Undone.')
          }
          style={{
            minHeight: TARGET,
            minWidth: TARGET,
            paddingHorizontal: narrow ? 8 : 16,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          <Text style={button}>Undo</Text>
        </Pressable>
      ) : null}
      <Text
        numberOfLines={narrow ? 3 : 2}
        style={{ flex: 1, color: colour, fontSize: narrow ? 13 : SIZES.small, lineHeight: 17 }}
      >
        {notice.text}
      </Text>
      {narrow ? null : (
        <Pressable
          role="button"
          aria-label="Close this message"
          onPress={() => dispatch(noticeGone())}
          style={{
            minHeight: TARGET,
            minWidth: TARGET,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          <Text style={button}>×</Text>
        </Pressable>
      )}
    </View>
  );
};

/** The message as a line of its own. */
export const NoticeBar = () => <Message narrow={false} />;

/** The message at the foot of a phone. */
export const NoticeInFoot = () => <Message narrow />;
