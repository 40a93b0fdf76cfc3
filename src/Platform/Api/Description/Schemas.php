<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api\Description;

use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\TypeContext\TypeContextFactory;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\StringTypeResolver;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolverInterface;
use Symfony\Component\Validator\Constraints as Assert;
use TinLantern\Core\Calendar\Day;

/**
 * JSON schemas of views and requests, from the types of their constructors' parameters and what their docblocks say of them.
 */
final class Schemas
{
    /** @var array<string, array<string, mixed>> */
    private array $schemas = [];

    private readonly TypeContextFactory $contexts;

    public function __construct(private readonly TypeResolverInterface $resolver)
    {
        $this->contexts = new TypeContextFactory(new StringTypeResolver());
    }

    /** @return array<string, array<string, mixed>> by name */
    public function all(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed> a reference
     */
    public function ofClass(string $class, bool $isRequest): array
    {
        if (\stdClass::class === $class) {
            return ['type' => 'object'];
        }
        $name = (new \ReflectionClass($class))->getShortName();
        if (!isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $properties = $this->properties($class, $isRequest);
            $this->schemas[$name] = ['type' => 'object', 'properties' => $properties]
                + ['required' => $isRequest ? $this->required($class) : array_keys($properties)]
                + ['additionalProperties' => false];
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /** @return array<string, mixed> */
    public function ofReturn(\ReflectionMethod $method): array
    {
        $written = 1 === preg_match('/@return\s+(\S+)/', (string) $method->getDocComment(), $found) ? $found[1] : null;

        return $this->ofType($this->type($written, $method->getReturnType(), $method->class));
    }

    /** @return array<string, mixed> */
    public function ofParameter(\ReflectionParameter $parameter): array
    {
        return $this->ofType($this->resolver->resolve($parameter->getType()));
    }

    /**
     * @param class-string $class
     *
     * @return array<string, array<string, mixed>> by name
     */
    public function properties(string $class, bool $isRequest): array
    {
        $constructor = new \ReflectionMethod($class, '__construct');
        $properties = [];
        foreach ($constructor->getParameters() as $parameter) {
            $pattern = '/@param\s+(?<type>[^$]+?)\s+\$'.$parameter->name.'\b[ \t]*(?<text>[^\n*]*)/';
            $said = 1 === preg_match($pattern, (string) $constructor->getDocComment(), $found);
            $schema = $this->ofType($this->type($said ? trim($found['type']) : null, $parameter->getType(), $class));
            if ($said && '' !== trim($found['text'])) {
                $schema['description'] = trim($found['text']);
            }
            $properties[$parameter->name] = $schema + ($isRequest ? $this->constraints($parameter) : []);
        }

        return $properties;
    }

    private function type(?string $written, ?\ReflectionType $declared, string $class): Type
    {
        \assert(class_exists($class));

        return null === $written ? $this->resolver->resolve($declared) : $this->resolver->resolve($written, $this->contexts->createFromClassName($class));
    }

    /** @return array<string, mixed> */
    private function ofType(Type $type): array
    {
        return match (true) {
            $type instanceof NullableType => $this->nullable($this->ofType($type->getWrappedType())),
            $type instanceof CollectionType => $type->isList()
                ? ['type' => 'array', 'items' => $this->ofType($type->getCollectionValueType())]
                : ['type' => 'object', 'additionalProperties' => $this->values($type->getCollectionValueType())],
            $type instanceof BackedEnumType => $this->enum($type->getClassName()),
            $type instanceof ObjectType => $this->object($type->getClassName()),
            $type instanceof BuiltinType => $this->builtin($type->getTypeIdentifier()),
            default => [],
        };
    }

    /** @return array<string, mixed>|bool */
    private function values(Type $type): array|bool
    {
        $schema = $this->ofType($type);

        return [] === $schema ? true : $schema;
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function nullable(array $schema): array
    {
        return isset($schema['type']) && !isset($schema['enum']) ? ['type' => [$schema['type'], 'null']] + $schema : ['anyOf' => [$schema, ['type' => 'null']]];
    }

    /** @return array<string, mixed> */
    private function enum(string $class): array
    {
        \assert(is_subclass_of($class, \BackedEnum::class));

        return ['type' => 'string', 'enum' => array_map(static fn (\BackedEnum $case): int|string => $case->value, $class::cases())];
    }

    /** @return array<string, mixed> */
    private function object(string $class): array
    {
        \assert(class_exists($class) || interface_exists($class));

        return match (true) {
            is_a($class, \DateTimeInterface::class, true) => ['type' => 'string', 'format' => 'date-time'],
            Day::class === $class => ['type' => 'string', 'format' => 'date'],
            default => $this->ofClass($class, false),
        };
    }

    /** @return array<string, mixed> */
    private function builtin(TypeIdentifier $type): array
    {
        return match ($type) {
            TypeIdentifier::INT => ['type' => 'integer'],
            TypeIdentifier::FLOAT => ['type' => 'number'],
            TypeIdentifier::BOOL, TypeIdentifier::TRUE, TypeIdentifier::FALSE => ['type' => 'boolean'],
            TypeIdentifier::STRING => ['type' => 'string'],
            default => [],
        };
    }

    /**
     * @param class-string $class
     *
     * @return list<string>
     */
    private function required(string $class): array
    {
        $required = [];
        foreach ((new \ReflectionMethod($class, '__construct'))->getParameters() as $parameter) {
            if (!$parameter->isOptional() || [] !== self::property($parameter)->getAttributes(Assert\NotBlank::class)) {
                $required[] = $parameter->name;
            }
        }

        return $required;
    }

    /** @return array<string, mixed> */
    private function constraints(\ReflectionParameter $parameter): array
    {
        $schema = $parameter->isDefaultValueAvailable() && \is_scalar($parameter->getDefaultValue()) && '' !== $parameter->getDefaultValue() ? ['default' => $parameter->getDefaultValue()] : [];
        foreach (self::property($parameter)->getAttributes() as $attribute) {
            $constraint = $attribute->newInstance();
            $schema += match (true) {
                $constraint instanceof Assert\Length => ['maxLength' => $constraint->max],
                $constraint instanceof Assert\Uuid => ['format' => 'uuid'],
                $constraint instanceof Assert\Date => ['format' => 'date'],
                $constraint instanceof Assert\Email => ['format' => 'email'],
                $constraint instanceof Assert\Choice => ['enum' => $constraint->choices],
                $constraint instanceof Assert\Range => ['minimum' => $constraint->min, 'maximum' => $constraint->max],
                default => [],
            };
        }

        return array_filter($schema, static fn (mixed $value): bool => null !== $value);
    }

    /** The property that a constructor's parameter is promoted to, which carries the constraints. */
    private static function property(\ReflectionParameter $parameter): \ReflectionProperty
    {
        return $parameter->getDeclaringClass()?->getProperty($parameter->name) ?? throw new \LogicException("{$parameter->name} is not promoted.");
    }
}
