import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useEffectEvent, useRef } from 'react';
import { useForm, type DefaultValues, type FieldValues, type UseFormReturn } from 'react-hook-form';
import type { z } from 'zod';

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
  const known = useRef(JSON.stringify(value));

  const onChange = useEffectEvent((values: Content) => {
    const read = schema.safeParse(values);
    if (!read.success || JSON.stringify(read.data) === known.current) return;
    known.current = JSON.stringify(read.data);
    onValid(read.data);
  });
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values }) => onChange(structuredClone(values)),
      }),
    [form],
  );

  useEffect(() => {
    if (JSON.stringify(value) === known.current) return;
    known.current = JSON.stringify(value);
    form.reset(value);
  }, [form, value]);

  const onLeave = useEffectEvent(() => {
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
