import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Schemas } from '../api/client';
import { marcDefinitions } from '../api/queries';

export type CodedPosition = Schemas['CodedPositionView'];

/** Kind of material by which the positions of 008 are read; leader 06 and 07 tell it. */
export function materialOf(leader: string): string {
  const type = leader[6] ?? 'a';
  const level = leader[7] ?? 'm';
  if ('cdij'.includes(type)) return 'music';
  if ('ef'.includes(type)) return 'maps';
  if ('gkor'.includes(type)) return 'visual';
  if (type === 'm') return 'computer';
  if (type === 'p') return 'mixed';
  return 'bis'.includes(level) ? 'continuing' : 'books';
}

/** What MARC 21 says, looked up by tag. */
export function useDefinitions() {
  const { data } = useQuery(marcDefinitions);
  return useMemo(() => {
    const fields = new Map((data?.fields ?? []).map((field) => [field.tag, field]));
    const kindOf = (tag: string, text: string, leader: string): string => {
      if (tag === 'LDR') return '';
      if (tag === '008') return materialOf(leader);
      if (tag === '007') return text[0] ?? '';
      return data?.materials006.find((entry) => entry.code === text[0])?.name ?? '';
    };
    return {
      isThere: data !== undefined,
      categories: data?.categories007 ?? [],
      materials: data?.materials006 ?? [],
      field: (tag: string) => fields.get(tag),
      subfieldName: (tag: string, code: string) => fields.get(tag)?.subfields.find((subfield) => subfield.code === code)?.name ?? '',
      positions: (tag: string, text: string, leader: string): CodedPosition[] =>
        data?.coded.find((coded) => coded.field === tag && coded.kind === kindOf(tag, text, leader))?.positions ?? [],
    };
  }, [data]);
}

export type Definitions = ReturnType<typeof useDefinitions>;
