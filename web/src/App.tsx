import { useQuery } from '@tanstack/react-query';
import { lazy, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, Navigate, Route, Routes } from 'react-router';
import type { Schemas } from './api/client';
import { me as meQuery } from './api/queries';
import { SignInPage } from './areas/access/SignInPage';
import { Shell } from './shell/Shell';

const DeskPage = lazy(() => import('./areas/desk/DeskPage'));
const CataloguePage = lazy(() => import('./areas/catalogue/CataloguePage'));
const FilesPage = lazy(() => import('./areas/catalogue/files/FilesPage'));
const FilePage = lazy(() => import('./areas/catalogue/files/FilePage'));
const RecordEditPage = lazy(() => import('./areas/catalogue/record/RecordEditPage'));
const SourcesPage = lazy(() => import('./areas/catalogue/sources/SourcesPage'));
const LabelsPage = lazy(() => import('./areas/catalogue/labels/LabelsPage'));
const HeadingsPage = lazy(() => import('./areas/catalogue/headings/HeadingsPage'));
const ShelfPage = lazy(() => import('./areas/catalogue/shelf/ShelfPage'));
const RuleBookPage = lazy(() => import('./areas/house/RuleBookPage'));
const PatronsPage = lazy(() => import('./areas/patrons/PatronsPage'));
const JournalPage = lazy(() => import('./areas/reports/JournalPage'));
const HousePage = lazy(() => import('./areas/house/HousePage'));

export function App() {
  const { t } = useTranslation();
  const { data: me, isError } = useQuery(meQuery);
  if (isError) return <p className="empty">{t('common.noAnswer')}</p>;
  if (me === undefined) return <p className="empty">{t('common.loading')}</p>;
  if (me === null) return <SignInPage />;
  return (
    <Routes>
      <Route element={<Shell me={me} />}>
        <Route index element={<Navigate to="/desk" replace />} />
        <Route path="/desk" element={<DeskPage />} />
        <Route path="/catalogue/files" element={<For me={me} permission="catalogue.take-in" page={<FilesPage />} />} />
        <Route path="/catalogue/files/:id/:place?" element={<For me={me} permission="catalogue.take-in" page={<FilePage />} />} />
        <Route path="/catalogue/new" element={<For me={me} permission="catalogue.edit" page={<RecordEditPage />} />} />
        <Route path="/catalogue/sources" element={<For me={me} permission="catalogue.edit" page={<SourcesPage />} />} />
        <Route path="/catalogue/labels" element={<For me={me} permission="items.edit" page={<LabelsPage />} />} />
        <Route path="/catalogue/headings" element={<For me={me} permission="catalogue.view" page={<HeadingsPage />} />} />
        <Route path="/catalogue/shelf" element={<For me={me} permission="catalogue.view" page={<ShelfPage />} />} />
        <Route path="/catalogue/:id/edit" element={<For me={me} permission="catalogue.edit" page={<RecordEditPage />} />} />
        <Route path="/catalogue/:id?" element={<For me={me} permission="catalogue.view" page={<CataloguePage />} />} />
        <Route path="/patrons/:id?" element={<For me={me} permission="patrons.view" page={<PatronsPage />} />} />
        <Route path="/reports" element={<For me={me} permission="journal.view" page={<JournalPage />} />} />
        <Route path="/house/rule-book/:kind?/:code?" element={<For me={me} permission="house.view" page={<RuleBookPage />} />} />
        <Route path="/house" element={<For me={me} permission="house.view" page={<HousePage />} />} />
        <Route
          path="*"
          element={
            <div className="empty">
              <h1>{t('common.notFoundPage')}</h1>
              <Link to="/desk">{t('common.toDesk')}</Link>
            </div>
          }
        />
      </Route>
    </Routes>
  );
}

function For({ me, permission, page }: { me: Schemas['MeView']; permission: string; page: ReactNode }) {
  const { t } = useTranslation();
  return me.permissions.includes(permission) ? page : <h1 className="empty">{t('common.notPermitted')}</h1>;
}
