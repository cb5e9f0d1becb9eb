package wovenset.server.outline;

import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.said.Reason;

/**
 * Takes from an SVG file (SVG 1.1, XML 1.0) the closed shapes and the groups that hold them, and nothing else: no scripts, links, pictures,
 * words, filters or styles get as far as the program that understands shapes. A file with a document type, and so with entities, is refused.
 * Cost: linear in the file.
 */
final class SvgFilter {
    static final int MOST_SIGNS = 1_000_000;
    private static final int DEEPEST = 40;
    private static final int MOST_SHAPES = 500;
    /** Of all path data together: more is no outline that a knife or an eye could follow. */
    private static final int MOST_PATH_SIGNS = 200_000;

    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> GROUPS = Set.of("svg", "g");
    private static final Set<String> SHAPES = Set.of("path", "rect", "circle", "ellipse", "polygon");
    /** What nobody misses. */
    private static final Set<String> SILENT = Set.of("title", "desc", "metadata", "defs", "namedview");

    private static final Set<String> ATTRIBUTES = Set.of(
            "d",
            "points",
            "x",
            "y",
            "width",
            "height",
            "cx",
            "cy",
            "r",
            "rx",
            "ry",
            "transform",
            "viewBox",
            "fill-rule");

    private final Set<String> leftOut = new TreeSet<>();
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private int shapes;
    private int pathSigns;

    private SvgFilter() {}

    /**
     * @param svg a document with shapes alone
     * @param leftOut the kinds of elements that were not taken
     */
    record Filtered(String svg, Set<String> leftOut) {}

    /** @throws EditRefusedException saying why the file cannot be used */
    static Filtered filter(String text) {
        if (text.length() > MOST_SIGNS) {
            throw refused(Reason.SVG_LARGE, MOST_SIGNS);
        }
        SvgFilter filter = new SvgFilter();
        try {
            filter.read(text.startsWith("\uFEFF") ? text.substring(1) : text);
        } catch (XMLStreamException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
            throw refused(Reason.SVG_UNREADABLE, line);
        }
        if (filter.shapes == 0) {
            throw refused(Reason.SVG_WITHOUT_SHAPES);
        }
        return new Filtered(filter.out.toString(StandardCharsets.UTF_8), filter.leftOut);
    }

    private static EditRefusedException refused(Reason reason, Object... args) {
        return EditRefusedException.of("file", reason, args);
    }

    private void read(String text) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        XMLStreamReader reader = factory.createXMLStreamReader(new StringReader(text));
        XMLStreamWriter writer = XMLOutputFactory.newFactory().createXMLStreamWriter(out, "UTF-8");
        // Whether each element that is open was taken.
        Deque<Boolean> open = new ArrayDeque<>();
        while (reader.hasNext()) {
            int event = reader.next();
            if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw refused(Reason.SVG_DOCTYPE);
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                if (open.size() >= DEEPEST) {
                    throw refused(Reason.SVG_DEEP, DEEPEST);
                }
                boolean taken = (open.isEmpty() || open.peek()) && isTaken(reader);
                open.push(taken);
                if (taken) {
                    start(reader, writer, open.size() == 1);
                }
            } else if (event == XMLStreamConstants.END_ELEMENT && open.pop()) {
                writer.writeEndElement();
            }
        }
        writer.close();
    }

    private boolean isTaken(XMLStreamReader reader) {
        String name = reader.getLocalName();
        String space = reader.getNamespaceURI();
        boolean known = space == null || space.isEmpty() || space.equals(SVG);
        boolean hidden = "none".equals(reader.getAttributeValue(null, "display"));
        if (known && !hidden && (GROUPS.contains(name) || SHAPES.contains(name))) {
            return true;
        }
        if (known && !hidden && !SILENT.contains(name)) {
            leftOut.add(name);
        }
        return false;
    }

    private void start(XMLStreamReader reader, XMLStreamWriter writer, boolean isRoot) throws XMLStreamException {
        writer.writeStartElement(reader.getLocalName());
        if (isRoot) {
            writer.writeDefaultNamespace(SVG);
        }
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            String name = reader.getAttributeLocalName(i);
            if (ATTRIBUTES.contains(name)
                    && !(isRoot && Set.of("width", "height", "x", "y").contains(name))) {
                writer.writeAttribute(name, reader.getAttributeValue(i));
                pathSigns += name.equals("d") || name.equals("points")
                        ? reader.getAttributeValue(i).length()
                        : 0;
            }
        }
        shapes += SHAPES.contains(reader.getLocalName()) ? 1 : 0;
        if (shapes > MOST_SHAPES || pathSigns > MOST_PATH_SIGNS) {
            throw refused(Reason.SVG_DETAILED);
        }
    }
}
