'use client';

import NextLink from 'next/link';
import { type ComponentProps, useState } from 'react';

/**
 * A link within the application. Its page is fetched ahead once it is pointed at or reached by keyboard, not when it is shown:
 * the rail shows every station on every page.
 */
export function Link(
  props: Omit<ComponentProps<typeof NextLink>, 'prefetch' | 'onPointerEnter' | 'onFocus'>,
) {
  const [intended, setIntended] = useState(false);
  const intend = () => setIntended(true);
  return <NextLink {...props} prefetch={intended ? null : false} onPointerEnter={intend} onFocus={intend} />;
}
