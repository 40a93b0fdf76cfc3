import { queryOptions } from '@tanstack/react-query';
import { answered, api, ApiProblem, inTime } from './client';

export const me = queryOptions({
  queryKey: ['me'],
  queryFn: async () => {
    try {
      return await answered(api.GET('/api/me', { signal: inTime() }));
    } catch (error) {
      if (error instanceof ApiProblem && error.status === 401) return null;
      throw error;
    }
  },
  staleTime: 60_000,
});

export const branches = queryOptions({
  queryKey: ['branches'],
  queryFn: () => answered(api.GET('/api/branches')),
  staleTime: Infinity,
});

export const house = queryOptions({ queryKey: ['house'], queryFn: () => answered(api.GET('/api/house')), staleTime: Infinity });

export const houseRules = queryOptions({ queryKey: ['house-rules'], queryFn: () => answered(api.GET('/api/house-rules')) });

export const tape = queryOptions({ queryKey: ['tape'], queryFn: () => answered(api.GET('/api/tape')), staleTime: Infinity });

export const lantern = (typed: string) =>
  queryOptions({
    queryKey: ['lantern', typed],
    queryFn: () => answered(api.GET('/api/lantern', { params: { query: { q: typed } } })),
    enabled: typed.trim().length > 1,
    staleTime: 10_000,
  });

export const record = (id: number) =>
  queryOptions({ queryKey: ['record', id], queryFn: () => answered(api.GET('/api/records/{id}', { params: { path: { id } } })) });

export const itemsOfRecord = (recordId: number) =>
  queryOptions({
    queryKey: ['record', recordId, 'items'],
    queryFn: () => answered(api.GET('/api/records/{recordId}/items', { params: { path: { recordId } } })),
  });

export const patron = (id: number) =>
  queryOptions({ queryKey: ['patron', id], queryFn: () => answered(api.GET('/api/patrons/{id}', { params: { path: { id } } })) });

export const loansOfPatron = (id: number) =>
  queryOptions({
    queryKey: ['patron', id, 'loans'],
    queryFn: () => answered(api.GET('/api/patrons/{id}/loans', { params: { path: { id } } })),
  });

export const endedLoansOfPatron = (id: number) =>
  queryOptions({
    queryKey: ['patron', id, 'ended-loans'],
    queryFn: () => answered(api.GET('/api/patrons/{id}/ended-loans', { params: { path: { id } } })),
  });

export const journalOf = (subject: string) =>
  queryOptions({
    queryKey: ['journal', subject],
    queryFn: () => answered(api.GET('/api/journal-entries', { params: { query: { filter: { subject }, limit: 20 } } })),
  });

export const ruleBook = (kind: string) =>
  queryOptions({
    queryKey: ['rule-book', kind],
    queryFn: () => answered(api.GET('/api/rule-book/{kind}', { params: { path: { kind } } })),
    staleTime: 60_000,
  });

export const matchRules = ruleBook('match-rule');

export const intake = (id: number) =>
  queryOptions({ queryKey: ['intake', id], queryFn: () => answered(api.GET('/api/intakes/{id}', { params: { path: { id } } })) });

export const intakeRecord = (id: number, place: number) =>
  queryOptions({
    queryKey: ['intake-record', id, place],
    queryFn: () => answered(api.GET('/api/intakes/{id}/records/{place}', { params: { path: { id, place } } })),
  });

export const worksheets = ruleBook('worksheet');

export const marcDefinitions = queryOptions({
  queryKey: ['marc-definitions'],
  queryFn: () => answered(api.GET('/api/marc-definitions')),
  staleTime: Infinity,
});

export const recordText = (id: number) =>
  queryOptions({ queryKey: ['record-text', id], queryFn: () => answered(api.GET('/api/records/{id}/text', { params: { path: { id } } })) });

export const recordDraft = (recordId: number) =>
  queryOptions({
    queryKey: ['record-draft', recordId],
    queryFn: () => answered(api.GET('/api/record-drafts/{recordId}', { params: { path: { recordId } } })),
  });

export const recordVersions = (id: number) =>
  queryOptions({
    queryKey: ['record-versions', id],
    queryFn: () => answered(api.GET('/api/records/{id}/versions', { params: { path: { id } } })),
  });

export const recordVersion = (id: number, version: number) =>
  queryOptions({
    queryKey: ['record-versions', id, version],
    queryFn: () => answered(api.GET('/api/records/{id}/versions/{version}', { params: { path: { id, version } } })),
  });

export const headings = (kind: string, q: string) =>
  queryOptions({
    queryKey: ['headings', kind, q],
    queryFn: () => answered(api.GET('/api/headings', { params: { query: { kind, q } } })),
    staleTime: 10_000,
  });

export const tidyRules = ruleBook('tidy-rules');

export const sources = queryOptions({ queryKey: ['sources'], queryFn: () => answered(api.GET('/api/sources')), staleTime: 60_000 });

export const ownHits = (by: 'isbn' | 'title' | 'author' | 'number', q: string) =>
  queryOptions({
    queryKey: ['records', 'own', by, q],
    queryFn: () => answered(api.GET('/api/records', { params: { query: { q, in: by, limit: 5 } } })),
  });

export const takeOverPreview = (text: string, tidy: string, as: string, record: number | null) =>
  queryOptions({
    queryKey: ['take-over', text, tidy, as, record],
    queryFn: () => answered(api.POST('/api/take-over-previews', { body: { text, tidy, steps: null, as, record } })),
  });

export const itemPresets = ruleBook('item-preset');

export const barcodeRanges = ruleBook('barcode-range');

export const labelSheets = ruleBook('label-sheet');

export const waitingLabels = queryOptions({ queryKey: ['waiting-labels'], queryFn: () => answered(api.GET('/api/waiting-labels')) });

interface LabelChoice {
  items?: string;
  without?: string;
  sheet: string;
  kind: 'spine' | 'code128' | 'code39';
  first: number;
}

export const labelPreview = (query: LabelChoice) =>
  queryOptions({ queryKey: ['label-preview', query], queryFn: () => answered(api.GET('/api/label-preview', { params: { query } })) });

export const savedSearches = queryOptions({ queryKey: ['saved-searches'], queryFn: () => answered(api.GET('/api/saved-searches')) });

export const phrases = queryOptions({ queryKey: ['phrases'], queryFn: () => answered(api.GET('/api/phrases')), staleTime: Infinity });

export const sharing = queryOptions({ queryKey: ['sharing'], queryFn: () => answered(api.GET('/api/sharing')) });

export const labelPrinters = ruleBook('label-printer');
