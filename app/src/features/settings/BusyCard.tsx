import type { Shop } from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { addDays } from 'date-fns/addDays';
import { useState } from 'react';
import { View } from 'react-native';
import { useCalendarAddressMutation } from '@/api/api';
import { failureOf } from '@/api/failure';
import { shopNow } from '@/device';
import { chooseFile } from '@/features/shared/chooseFile';
import { Body, Card, Label, PlainButton, Small } from '@/ui/controls';
import { busyTimes } from './busyTimes';

interface BusyCardProps {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}

/** So far ahead a calendar is read, days. */
const AHEAD = 240;

/** Times at which nobody is in the shop, from a calendar file; and the plan as a calendar. */
export const BusyCard = ({ shop, onStore }: BusyCardProps) => {
  const [says, setSays] = useState<string>();
  const [askAddress, { data: address, isLoading, error }] = useCalendarAddressMutation();
  const take = async () => {
    const file = await chooseFile('.ics,text/calendar');
    if (!file) return;
    // Nobody needs to read calendars before this is tapped.
    const { default: reader } = await import('ical.js');
    const now = shopNow();
    const read = busyTimes(reader, await file.text(), now, addDays(now, AHEAD), nanoid);
    if (!read.ok) return setSays(read.problems[0]?.message);
    setSays(`${read.value.length} times are kept free.`);
    onStore({ ...shop, appointments: read.value });
  };
  const count = shop.appointments.length;
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Calendar</Label>
      <Body>
        {count === 0
          ? 'No appointments: the hours of everybody are free for work.'
          : `${count} appointments are kept free in every plan.`}
      </Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton title="Read a calendar file" onPress={() => void take()} />
        {count > 0 ? (
          <PlainButton title="Forget them" onPress={() => onStore({ ...shop, appointments: [] })} />
        ) : null}
      </View>
      {says ? <Small>{says}</Small> : null}
      {address ? (
        <>
          <Body>{`${window.location.origin}${address.path}`}</Body>
          <Small>
            Put it into your calendar as a subscription. Who has it sees the plan, and nothing else;
            take it back under paired devices.
          </Small>
        </>
      ) : (
        <PlainButton
          title="The plan in your own calendar"
          disabled={isLoading}
          onPress={() => void askAddress()}
        />
      )}
      {error ? <Small>{failureOf(error).text}</Small> : null}
    </Card>
  );
};
