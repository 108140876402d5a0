import {
  type InvalidateOptions,
  type InvalidateQueryFilters,
  type Query,
  QueryClient,
} from "@tanstack/react-query";

/**
 * What is marked as no longer fresh is asked again even where its first answer is still on its way: that answer may
 * have been written before the change. Where there is an answer already the library does so by itself, and there nothing
 * must be cancelled here, since what was set meanwhile would be set back.
 */
export class FreshQueryClient extends QueryClient {
  override async invalidateQueries(filters?: InvalidateQueryFilters, options?: InvalidateOptions) {
    const first = (query: Query) => query.state.data === undefined && (filters?.predicate?.(query) ?? true);
    await this.cancelQueries({ ...filters, predicate: first }, { silent: true });
    await super.invalidateQueries(filters, options);
  }
}
