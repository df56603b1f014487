import { Redirect } from 'expo-router';

/** The shop opens with what to buy. */
export default function Shop() {
  return <Redirect href="/shop/shopping" />;
}
