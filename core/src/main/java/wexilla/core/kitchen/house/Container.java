package wexilla.core.kitchen.house;

import java.util.UUID;
import wexilla.core.keeping.ContainerKind;

/** What a packet is made of. */
public record Container(UUID id, String name, ContainerKind kind, int volumeMl) {}
