/** The lot's own number, as it hangs in the window. */
export const StockTag = ({ stock }: { stock: string }) => <span className="stock-tag">{stock}</span>
