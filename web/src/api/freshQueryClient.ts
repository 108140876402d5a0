import { type InvalidateOptions, type InvalidateQueryFilters, QueryClient } from "@tanstack/react-query";

/**
 * What is marked as no longer fresh is asked again even where its first answer is still on its way: that answer may
 * have been written before the change.
 */
export class FreshQueryClient extends QueryClient {
  override async invalidateQueries(filters?: InvalidateQueryFilters, options?: InvalidateOptions) {
    await this.cancelQueries(filters, { silent: true });
    await super.invalidateQueries(filters, options);
  }
}
