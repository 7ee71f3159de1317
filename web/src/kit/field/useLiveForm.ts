import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useEffectEvent, useRef } from 'react';
import { useForm, type DefaultValues, type FieldValues, type UseFormReturn } from 'react-hook-form';
import type { z } from 'zod';
import { afterTyping, isTyping, settleTyping } from '../../data/outbox/afterTyping';

export interface LiveForm<Content extends FieldValues> {
  schema: z.ZodType<Content, Content>;
  /** what is kept; the form follows it when it changes from outside, as by undo */
  value: Content;
  /** what was typed on an earlier visit and was not right yet */
  unfinished?: unknown;
  /** called with every change that is right */
  onValid: (content: Content) => void;
  /** called on leaving with what is not right yet; null when nothing is */
  onUnfinished: (typed: unknown) => void;
}

/** A form without a save button: what is right counts at once, what is not is kept until it is. */
export function useLiveForm<Content extends FieldValues>({
  schema,
  value,
  unfinished,
  onValid,
  onUnfinished,
}: LiveForm<Content>): UseFormReturn<Content> {
  const form = useForm<Content>({
    defaultValues: (unfinished ?? value) as DefaultValues<Content>,
    resolver: zodResolver(schema),
    mode: 'onChange',
  });
  // Values the form has sent and has not seen come back yet, oldest first. A value that comes back is
  // an echo, however late: taking it for a change from outside would throw away what was typed since.
  const sent = useRef([textOf(schema, value)]);

  const onChange = useEffectEvent((values: Content) => {
    const read = schema.safeParse(values);
    if (!read.success) return;
    const text = JSON.stringify(read.data);
    if (text === sent.current.at(-1)) return;
    sent.current.push(text);
    onValid(read.data);
  });
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          const changed = structuredClone(values);
          if (isTyping()) afterTyping(sent, () => onChange(changed));
          else {
            settleTyping();
            onChange(changed);
          }
        },
      }),
    [form],
  );

  useEffect(() => {
    settleTyping();
    const text = textOf(schema, value);
    const echo = sent.current.lastIndexOf(text);
    // Noted first: the reset is told to the subscriber above, and is no change of the painter's.
    sent.current = echo < 0 ? [text] : sent.current.slice(echo);
    if (echo < 0) form.reset(value);
  }, [form, schema, value]);

  const onLeave = useEffectEvent(() => {
    settleTyping();
    const values = form.getValues();
    onUnfinished(schema.safeParse(values).success ? null : values);
  });
  useEffect(() => {
    if (unfinished) void form.trigger();
    return () => onLeave();
    // Only on coming and leaving.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  return form;
}

/** The same for the same content: what comes back may have its fields in another order. */
function textOf<Content>(schema: z.ZodType<Content, Content>, content: Content): string {
  const read = schema.safeParse(content);
  return JSON.stringify(read.success ? read.data : content);
}
