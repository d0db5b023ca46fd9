import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { Frame } from './frame/Frame';
import { NoPage } from './frame/NoPage';
import { WayOn } from './frame/WayOn';
import { setMyUnits } from './ground/myUnits';
import { useMe } from './people/session';
import { Season } from './season/Season';

// A verb's code is fetched when it is first opened, and kept on the device by the installed page.
const Decide = lazy(() => import('./decide/Decide').then(({ Decide: page }) => ({ default: page })));
const Follow = lazy(() => import('./follow/Follow').then(({ Follow: page }) => ({ default: page })));
const Measure = lazy(() => import('./measure/Measure').then(({ Measure: page }) => ({ default: page })));
const NewField = lazy(() => import('./scout/NewField').then(({ NewField: page }) => ({ default: page })));
const Read = lazy(() => import('./read/Read').then(({ Read: page }) => ({ default: page })));
const Scout = lazy(() => import('./scout/Scout').then(({ Scout: page }) => ({ default: page })));
const FieldGuide = lazy(() => import('./learn/FieldGuide'));
const PracticePage = lazy(() => import('./learn/PracticePage'));
const FieldCards = lazy(() => import('./learn/FieldCards'));
const KitChartsPage = lazy(() => import('./measure/charts/KitChartsPage'));
const MethodPage = lazy(() => import('./learn/MethodPage'));
const AccountPage = lazy(() => import('./people/AccountPage'));
const YardsticksPage = lazy(() => import('./read/yardsticks/YardsticksPage'));
const PricesPage = lazy(() => import('./decide/PricesPage'));
const TablesPage = lazy(() => import('./decide/tables/TablesPage'));
const DataPage = lazy(() => import('./exchange/DataPage'));
const ReportPage = lazy(() => import('./follow/report/ReportPage'));
const People = lazy(() => import('./people/People'));

export function App() {
  const me = useMe();
  // A report is read in its grower's units; every other page in one's own.
  if (!useLocation().pathname.startsWith('/reports/')) setMyUnits(me.units);
  return (
    <Frame>
      <WayOn>
        <Suspense fallback={<p className="py-10 text-faded">Fetching…</p>}>
          <Routes>
            <Route path="/" element={<Season />} />
            <Route path="/new-field" element={<NewField />} />
            <Route path="/fields/:fieldId/scout" element={<Scout />} />
            <Route path="/fields/:fieldId/visits/:visitId/scout" element={<Scout />} />
            <Route path="/fields/:fieldId/visits/:visitId/measure" element={<Measure />} />
            <Route path="/fields/:fieldId/visits/:visitId/read" element={<Read />} />
            <Route path="/fields/:fieldId/visits/:visitId/decide" element={<Decide />} />
            <Route path="/fields/:fieldId/visits/:visitId/follow" element={<Follow />} />
            <Route path="/methods" element={<FieldGuide />} />
            <Route path="/kit-charts" element={<KitChartsPage />} />
            <Route path="/practice" element={<PracticePage />} />
            <Route path="/field-cards" element={<FieldCards />} />
            <Route path="/methods/:methodId" element={<MethodPage />} />
            <Route path="/yardsticks" element={<YardsticksPage />} />
            <Route path="/prices" element={<PricesPage />} />
            <Route path="/tables" element={<TablesPage />} />
            <Route path="/data" element={<DataPage />} />
            <Route path="/reports/:visitId" element={<ReportPage />} />
            <Route path="/people" element={<People />} />
            <Route path="/account" element={<AccountPage />} />
            <Route path="/fields/:fieldId" element={<Navigate to="scout" replace />} />
            <Route path="/fields/:fieldId/visits/:visitId" element={<Navigate to="read" replace />} />
            <Route path="*" element={<NoPage />} />
          </Routes>
        </Suspense>
      </WayOn>
    </Frame>
  );
}
