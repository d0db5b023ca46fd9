import type { DragEvent } from 'react';

/** What takes a file that is dropped on it. */
export function takesFile(take: (file: File) => void) {
  return {
    // Without this the browser opens the file in place of the page.
    onDragOver: (event: DragEvent) => event.preventDefault(),
    onDrop: (event: DragEvent) => {
      event.preventDefault();
      const file = event.dataTransfer.files[0];
      if (file) take(file);
    },
  };
}
