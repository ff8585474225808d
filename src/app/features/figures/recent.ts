/** The dance that was open last in this tab: figures are put into it from the Figures screen. Belongs to the window. */
let recent: { readonly id: string; readonly title: string } | undefined;

export const noteOpenDance = (id: string, title: string): void => {
  recent = { id, title };
};

export const recentDance = (): typeof recent => recent;
