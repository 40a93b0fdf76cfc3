import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answered, api } from '../../../api/client';

const PAUSE = 600;

/** What MARC 21 and the worksheet have to remark, asked when the typing pauses. */
export function useChecks(text: string, worksheet: string) {
  const [asked, setAsked] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(text), PAUSE);
    return () => clearTimeout(timer);
  }, [text]);
  return useQuery({
    queryKey: ['record-check', asked, worksheet],
    queryFn: () => answered(api.POST('/api/record-checks', { body: { text: asked, worksheet, begunFrom: 0 } })),
    placeholderData: keepPreviousData,
  }).data;
}
