import type { ComponentType } from 'react';
import { createBrowserRouter, Navigate, type RouteObject } from 'react-router';
import { App } from './App';
import { Broken } from './frame/Broken';
import { NoPage } from './frame/NoPage';
import { Season } from './season/Season';

/** A page whose code comes when it is first gone to, and is kept on the device by the installed page. */
function page<Name extends string>(
  path: string,
  fetch: () => Promise<Record<Name, ComponentType>>,
  name: Name,
): RouteObject {
  return { path, lazy: async () => ({ Component: (await fetch())[name] }) };
}

const scout = () => import('./scout/Scout');

const pages: RouteObject[] = [
  { index: true, Component: Season },
  page('new-field', () => import('./scout/NewField'), 'NewField'),
  page('fields/:fieldId/scout', scout, 'Scout'),
  page('fields/:fieldId/visits/:visitId/scout', scout, 'Scout'),
  page('fields/:fieldId/visits/:visitId/measure', () => import('./measure/Measure'), 'Measure'),
  page('fields/:fieldId/visits/:visitId/read', () => import('./read/Read'), 'Read'),
  page('fields/:fieldId/visits/:visitId/decide', () => import('./decide/Decide'), 'Decide'),
  page('fields/:fieldId/visits/:visitId/follow', () => import('./follow/Follow'), 'Follow'),
  page('methods', () => import('./learn/FieldGuide'), 'default'),
  page('methods/:methodId', () => import('./learn/MethodPage'), 'default'),
  page('kit-charts', () => import('./measure/charts/KitChartsPage'), 'default'),
  page('practice', () => import('./learn/PracticePage'), 'default'),
  page('field-cards', () => import('./learn/FieldCards'), 'default'),
  page('yardsticks', () => import('./read/yardsticks/YardsticksPage'), 'default'),
  page('prices', () => import('./decide/PricesPage'), 'default'),
  page('tables', () => import('./decide/tables/TablesPage'), 'default'),
  page('data', () => import('./exchange/DataPage'), 'default'),
  page('reports/:visitId', () => import('./follow/report/ReportPage'), 'default'),
  page('people', () => import('./people/People'), 'default'),
  page('account', () => import('./people/AccountPage'), 'default'),
  { path: 'fields/:fieldId', element: <Navigate to="scout" replace /> },
  { path: 'fields/:fieldId/visits/:visitId', element: <Navigate to="read" replace /> },
  { path: '*', Component: NoPage },
];

/** A page that breaks breaks alone: what stands around it stays. */
export const router = createBrowserRouter([
  { Component: App, HydrateFallback: () => null, children: [{ ErrorBoundary: Broken, children: pages }] },
]);
