/** The application: HTTP in, PostgreSQL out, files and devices. It decides nothing about food. */
@NullMarked
package wexilla.app;

import org.jspecify.annotations.NullMarked;
