import type { ReactNode } from 'react';

/** A list and what is selected in it, side by side; on a narrow screen one after the other. */
export function ListDetail({ list, detail, showsDetail }: { list: ReactNode; detail: ReactNode; showsDetail: boolean }) {
  return (
    <div className={`list-detail ${showsDetail ? 'shows-detail' : 'shows-list'}`}>
      <div className="list-side">{list}</div>
      <div className="detail-side">{detail}</div>
    </div>
  );
}
