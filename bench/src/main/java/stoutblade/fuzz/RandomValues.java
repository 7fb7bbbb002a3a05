package stoutblade.fuzz;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * Random values of any type that an edit takes: numbers as people and accidents type them, and
 * records and lists of them, built through their own constructors, so that only what can be made is
 * made.
 */
final class RandomValues {

  private static final int DEEPEST = 5;
  private static final int TRIES = 12;
  private static final LocalDateTime DAY = LocalDateTime.of(2031, 3, 3, 12, 0);

  private final Random random;
  private final Function<String, List<String>> words;

  /** There is no value of a type that could be made. */
  static final class NoValue extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    NoValue(Object type) {
      super("No value of " + type);
    }
  }

  /**
   * Values.
   *
   * @param words the texts that make sense for a parameter's name
   */
  RandomValues(Random random, Function<String, List<String>> words) {
    this.random = random;
    this.words = words;
  }

  /** A number: mostly a length that a prop has, now and then what nobody should type. */
  double number() {
    return switch (random.nextInt(20)) {
      case 0 -> 0;
      case 1 -> -random.nextInt(100);
      case 2 -> random.nextDouble() * 1e-6;
      case 3 -> random.nextDouble() * 1e6;
      case 4 -> odd();
      case 5, 6, 7, 8 -> random.nextInt(12);
      case 9, 10, 11, 12, 13 -> random.nextDouble() * 100;
      case 14 -> random.nextDouble();
      default -> random.nextDouble() * 1200;
    };
  }

  private double odd() {
    double[] all = {
      Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, -0.0, Double.MIN_VALUE, 1e300
    };
    return all[random.nextInt(all.length)];
  }

  /** A value of a type; {@code name} is that of the parameter or component that it is for. */
  Object of(Type type, String name) {
    return of(type, name, 0);
  }

  private Object of(Type type, String name, int depth) {
    if (depth > DEEPEST) {
      throw new NoValue(type);
    }
    if (type instanceof ParameterizedType of) {
      return parameterized(of, name, depth);
    }
    if (!(type instanceof Class<?> kind)) {
      throw new NoValue(type);
    }
    if (kind == double.class || kind == Double.class) {
      return number();
    }
    if (kind == int.class || kind == Integer.class) {
      return random.nextInt(10) == 0 ? random.nextInt() : random.nextInt(6);
    }
    if (kind == long.class || kind == Long.class) {
      return (long) random.nextInt(1000);
    }
    if (kind == boolean.class || kind == Boolean.class) {
      return random.nextBoolean();
    }
    if (kind == String.class) {
      List<String> fitting = words.apply(name);
      return fitting.isEmpty() ? "" : fitting.get(random.nextInt(fitting.size()));
    }
    if (kind.isEnum()) {
      Object[] all = kind.getEnumConstants();
      return all[random.nextInt(all.length)];
    }
    return time(kind).orElseGet(() -> composed(kind, depth));
  }

  private Optional<Object> time(Class<?> kind) {
    LocalDateTime some = DAY.plusMinutes(random.nextInt(200_000) - 20_000L);
    Map<Class<?>, Object> all =
        Map.of(
            LocalDateTime.class, some,
            LocalDate.class, some.toLocalDate(),
            LocalTime.class, some.toLocalTime(),
            Instant.class, some.toInstant(java.time.ZoneOffset.UTC),
            Duration.class, Duration.ofMinutes(random.nextInt(10_000)));
    return Optional.ofNullable(all.get(kind));
  }

  private Object composed(Class<?> kind, int depth) {
    if (kind.isSealed()) {
      Class<?>[] permitted = kind.getPermittedSubclasses();
      return of(permitted[random.nextInt(permitted.length)], "", depth + 1);
    }
    if (!kind.isRecord()) {
      throw new NoValue(kind);
    }
    IllegalArgumentException last = null;
    for (int i = 0; i < TRIES; i++) {
      try {
        return made(kind, depth);
      } catch (IllegalArgumentException e) {
        last = e;
      }
    }
    throw last == null ? new NoValue(kind) : last;
  }

  private Object made(Class<?> kind, int depth) {
    RecordComponent[] components = kind.getRecordComponents();
    Object[] values =
        Arrays.stream(components)
            .map(it -> of(it.getGenericType(), it.getName(), depth + 1))
            .toArray();
    try {
      Constructor<?> constructor =
          kind.getDeclaredConstructor(
              Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
      constructor.setAccessible(true);
      return constructor.newInstance(values);
    } catch (InvocationTargetException e) {
      if (e.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(e.getCause());
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private Object parameterized(ParameterizedType type, String name, int depth) {
    Type first = type.getActualTypeArguments()[0];
    Class<?> raw = (Class<?>) type.getRawType();
    if (raw == Optional.class) {
      return random.nextInt(4) == 0 ? Optional.empty() : Optional.of(of(first, name, depth + 1));
    }
    if (raw == List.class) {
      List<Object> all = new ArrayList<>();
      for (int i = random.nextInt(5); i > 0; i--) {
        all.add(of(first, name, depth + 1));
      }
      return all;
    }
    if (raw == Map.class) {
      Map<Object, Object> all = new LinkedHashMap<>();
      for (int i = random.nextInt(4); i > 0; i--) {
        all.put(of(first, name, depth + 1), of(type.getActualTypeArguments()[1], name, depth + 1));
      }
      return all;
    }
    if (raw == UnaryOperator.class) {
      return (UnaryOperator<Object>) it -> changed(it, first, depth + 1);
    }
    throw new NoValue(type);
  }

  /** The value after one of its own changes, or, now and then, quite another one. */
  private Object changed(Object value, Type type, int depth) {
    Class<?> kind = (Class<?>) type;
    List<Method> changes =
        Arrays.stream(value.getClass().getMethods())
            .filter(it -> !Modifier.isStatic(it.getModifiers()))
            .filter(it -> kind.isAssignableFrom(it.getReturnType()))
            .filter(it -> it.getParameterCount() > 0)
            .toList();
    if (changes.isEmpty() || random.nextInt(8) == 0) {
      return of(type, "", depth);
    }
    return call(changes.get(random.nextInt(changes.size())), value, depth);
  }

  /** Calls a method with random arguments. */
  Object call(Method method, Object on, int depth) {
    Object[] arguments =
        Arrays.stream(method.getParameters())
            .map(it -> of(it.getParameterizedType(), it.getName(), depth + 1))
            .toArray();
    try {
      method.setAccessible(true);
      return method.invoke(on, arguments);
    } catch (InvocationTargetException e) {
      if (e.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(e.getCause());
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
