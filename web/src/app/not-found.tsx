import { InPlaceOfAPage } from '#/ui/cannot-show';

export function NotFound() {
  return <InPlaceOfAPage title="Page not found" why="Perhaps the link is old." />;
}
